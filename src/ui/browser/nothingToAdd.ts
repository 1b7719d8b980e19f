/** In the place of what the framework adds for browsers older than those this is built for: they have it all. */
export {};
