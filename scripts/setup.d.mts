export const BUILD_SOURCES: readonly string[];
