/** Header with the time of a device's own clock when it sends, ms since 1970. */
export const DEVICE_CLOCK = 'x-device-clock';
