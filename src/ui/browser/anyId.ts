/** Stands for any id in a page that is kept to be shown without a server; the service worker puts the real one in. */
export const ANY_ID = "any-id-a-page-may-have";
