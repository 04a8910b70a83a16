/** The header by which a device says what its own clock shows when it sends: ms since 1970. */
export const DEVICE_CLOCK = 'x-device-clock';
