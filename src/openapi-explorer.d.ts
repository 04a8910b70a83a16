/** The viewer of the services' description: importing it defines the element `openapi-explorer`. */
declare module 'openapi-explorer/dist/browser/openapi-explorer.min.js';
