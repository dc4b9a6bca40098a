/** Takes a colour from a logo where it is pressed: of the picture itself, not of the page. */
export default () => ({
    picked: '',

    async pick({ target: image, clientX, clientY }) {
        // It may be pressed before it is there.
        await image.decode();
        const { left, top, width, height } = image.getBoundingClientRect();
        const style = getComputedStyle(image);
        const [padX, padY] = [parseFloat(style.paddingLeft), parseFloat(style.paddingTop)];
        // The picture stands in the middle of its box, as large as it goes.
        const part = Math.min((width - 2 * padX) / image.naturalWidth, (height - 2 * padY) / image.naturalHeight);
        const x = (clientX - left - (width - part * image.naturalWidth) / 2) / part;
        const y = (clientY - top - (height - part * image.naturalHeight) / 2) / part;
        const canvas = document.createElement('canvas');
        [canvas.width, canvas.height] = [1, 1];
        const pen = canvas.getContext('2d');
        pen.drawImage(image, -Math.floor(x), -Math.floor(y));
        const [red, green, blue, alpha] = pen.getImageData(0, 0, 1, 1).data;
        if (alpha < 128) return;
        this.picked = [red, green, blue].map((one) => one.toString(16).padStart(2, '0')).join('').toUpperCase();
    },
});
