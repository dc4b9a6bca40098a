import { existsSync } from 'node:fs';

// The one without windows does the same with a tenth less.
const [shell, whole] = ['/usr/bin/chromium-headless-shell', '/usr/bin/chromium'];

/** How Debian's browser is started for the journeys and the pictures: without a sandbox, and asking no network. */
export const chromiumOptions = {
    executablePath: existsSync(shell) ? shell : whole,
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
