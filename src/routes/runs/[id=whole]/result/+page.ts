/** A run may have thousands of events: the device draws them, so that the server does not block others. */
export const ssr = false;
