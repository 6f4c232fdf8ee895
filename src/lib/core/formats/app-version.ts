/** The version of Porthole, as in package.json (a test compares them); sheets and files carry it. */
export const APP_VERSION = '0.1.0';
