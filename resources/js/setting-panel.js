import ask from './ask';
import { renew } from './page';

/** Settings that are fetched as their panel is opened, and again after every change on the page. */
export default (url) => ({
    // Its own: what is not named here would be set on the page around it, for all panels alike.
    again_: null,

    init() {
        this.again_ = () => { if (this.$root.open) this.fetch(); };
        document.addEventListener('looked', this.again_);
    },

    destroy() {
        document.removeEventListener('looked', this.again_);
    },

    opened(isOpen) {
        if (isOpen) this.fetch();
    },

    async fetch() {
        const { html, own } = await ask(url);
        this.$root.querySelector('[data-own]').textContent = own;
        const body = this.$root.querySelector('.setting-panel-body');
        if (body) renew(body, html);
    },
});
