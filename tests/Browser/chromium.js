/** How Debian's browser is started for the journeys and the pictures: without a sandbox, and asking no network. */
export const chromiumOptions = {
    executablePath: '/usr/bin/chromium',
    args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
    ],
};
