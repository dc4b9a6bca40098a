/** Records from the microphone: a count-in, a level while it runs, and what was said to be heard before it is kept. */
export default () => ({
    count: '',
    level: 0,
    recording: false,
    recorded: null,
    refused: '',
    stream: null,
    machine: null,

    reset() {
        [this.count, this.level, this.recording, this.recorded, this.refused] = ['', 0, false, null, ''];
    },

    async start() {
        this.reset();
        try {
            this.stream ??= await navigator.mediaDevices.getUserMedia({
                audio: { channelCount: 1, echoCancellation: false, noiseSuppression: false, autoGainControl: false },
            });
        } catch {
            this.refused = 'The microphone cannot be used. Allow it for this page in the browser, and try again.';
            return;
        }
        this.meter();
        for (const count of ['3', '2', '1']) {
            this.count = count;
            await new Promise((resolve) => { setTimeout(resolve, 600); });
        }
        this.count = '';
        const parts = [];
        this.machine = new MediaRecorder(this.stream);
        this.machine.ondataavailable = (event) => parts.push(event.data);
        this.machine.onstop = () => {
            this.recorded = new Blob(parts, { type: this.machine.mimeType });
            this.$refs.heard.src = URL.createObjectURL(this.recorded);
        };
        this.machine.start();
        this.recording = true;
    },

    stop() {
        this.recording = false;
        this.machine?.stop();
    },

    /** The largest of every moment's samples. */
    meter() {
        if (this.listener) return;
        this.listener = new AudioContext();
        const scope = this.listener.createAnalyser();
        this.listener.createMediaStreamSource(this.stream).connect(scope);
        const samples = new Float32Array(scope.fftSize);
        const look = () => {
            if (!this.listener) return;
            scope.getFloatTimeDomainData(samples);
            this.level = Math.min(1, samples.reduce((most, sample) => Math.max(most, Math.abs(sample)), 0));
            requestAnimationFrame(look);
        };
        look();
    },

    release() {
        if (this.recording) this.stop();
        this.stream?.getTracks().forEach((track) => track.stop());
        this.listener?.close();
        [this.stream, this.listener] = [null, null];
    },
});
