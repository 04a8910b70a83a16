/** A run may have thousands of events: the device draws them, so that the server does not keep others waiting. */
export const ssr = false;
