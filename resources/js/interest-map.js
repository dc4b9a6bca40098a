/** Draws where the interest of a clip lies, x across and time down, with the way of the window as a band over it. */
export default function interestMap(canvas, width, drawn, at) {
    if (!width) return;
    const height = 150;
    [canvas.width, canvas.height] = [width, height];
    const pen = canvas.getContext('2d');
    pen.fillStyle = '#f6f1e4';
    pen.fillRect(0, 0, width, height);
    heat(pen, drawn, width, height);
    const down = (ms) => (ms - drawn.in) / drawn.length * height;
    if (drawn.backdrop === null) band(pen, drawn, width, down);
    pen.fillStyle = '#b3331f';
    for (const { from, to } of drawn.problems) {
        pen.fillRect(width - 5, down(from), 5, Math.max(3, down(to) - down(from)));
    }
    for (const pin of drawn.pins) {
        pen.beginPath();
        pen.arc(pin.x * width, down(pin.ms), 5, 0, 2 * Math.PI);
        pen.fillStyle = '#fff';
        pen.fill();
        pen.lineWidth = 2.5;
        pen.strokeStyle = '#b3331f';
        pen.stroke();
    }
    pen.fillStyle = '#1c1a17';
    pen.fillRect(0, Math.min(height - 1, down(at)), width, 1.5);
}

/** The profiles, a row each, in ink. */
function heat(pen, drawn, width, height) {
    if (!drawn.interest.length) return;
    const rows = drawn.interest.map((row) => Uint8Array.from(atob(row), (letter) => letter.charCodeAt(0)));
    const image = new ImageData(rows[0].length, rows.length);
    rows.forEach((row, y) => row.forEach((value, x) => {
        image.data.set([38, 50, 56, Math.round(0.85 * value)], 4 * (y * row.length + x));
    }));
    const small = new OffscreenCanvas(rows[0].length, rows.length);
    small.getContext('2d').putImageData(image, 0, 0);
    pen.imageSmoothingEnabled = true;
    pen.drawImage(small, 0, 0, width, height);
}

function band(pen, drawn, width, down) {
    const edge = (window, side) => [(window[1] + side * window[3] / 2) * width, down(window[0])];
    pen.beginPath();
    drawn.windows.forEach((window) => pen.lineTo(...edge(window, -1)));
    [...drawn.windows].reverse().forEach((window) => pen.lineTo(...edge(window, 1)));
    pen.closePath();
    pen.fillStyle = 'rgb(201 90 43 / 18%)';
    pen.fill();
    pen.lineWidth = 1.5;
    pen.strokeStyle = '#b4481e';
    pen.stroke();
}
