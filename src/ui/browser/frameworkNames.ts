/**
 * The one name of the framework's long list that its own code asks for in a browser. In the place of the list, 2 kB on
 * every page; held against it in `frameworkNames.test.ts`.
 */
export const NEXT_NAV_DEPLOYMENT_ID_HEADER = "x-nextjs-deployment-id";
