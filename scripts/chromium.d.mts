/** Path of Debian's Chromium. */
export declare const chromium: () => string;
