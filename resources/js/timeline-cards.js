import Modal from 'bootstrap/js/dist/modal';
import ask from './ask';

const usual = {
    kind: 'text', text: '', length: 2000, x: 500, y: 240, size: 500, turn: 0, enter: 'fade', leave: 'fade',
    fill: 'FFFFFF', plate: '14202B',
};

const within = (value, least, most) => Math.max(least, Math.min(most, Math.round(value)));

/**
 * The sheet's cards and stickers: put over the picture at the playhead, dragged on it, changed and taken away. The page
 * gives what is drawn, as it changes.
 */
export const carding = (drawn) => {
    let drag = null;
    // What was moved is shown where it is until another video is seen.
    const moved = new Map();
    const nameOf = ({ scene, mark }) => `${scene}/${mark.word}/${mark.offset}/${mark.text}/${mark.kind}`;
    return {
        card: { ...usual },
        cardAt: null,
        cardPlate: true,

        /** Boxes over the stage for what is seen at the playhead, and how far the short has gone. */
        drawCards() {
            const ms = 1000 * this.at + 1;
            const box = this.$refs.stageCards;
            const seen = drawn().cards.map((card, number) => [card, number])
                .filter(([card]) => ms >= card.from && ms < card.until);
            const is = JSON.stringify([seen, [...moved.keys()]]);
            this.drawProgress();
            if (drag || this.cardsSeen === is) return;
            this.cardsSeen = is;
            box.replaceChildren(...seen.map(([card, number]) => this.cardBox(card, number)));
        },

        /** All of them in words, for keys. */
        listCards() {
            this.$refs.cardList.replaceChildren(...drawn().cards.map((card) => {
                const item = document.createElement('li');
                const button = document.createElement('button');
                button.type = 'button';
                button.className = 'link';
                button.textContent = `${this.clock(card.from / 1000)} ${card.says}`;
                button.addEventListener('click', () => {
                    this.goTo(card.from + 400);
                    if (card.change) this.openCard(card);
                });
                item.append(button);
                return item;
            }));
        },

        cardBox(card, number) {
            const span = document.createElement('span');
            span.className = card.change ? 'stage-card' : 'stage-card is-by-rule';
            span.title = card.change ? `${card.says}: drag it, or its corner` : `${card.says}: by the house style`;
            span.dataset.card = number;
            this.lay(span, card);
            const shown = card.change && moved.get(nameOf(card));
            if (shown) {
                span.append(this.cardPicture(card));
                this.lay(span, { ...card, ...shown });
            }
            if (card.change) {
                const corner = document.createElement('i');
                corner.className = 'stage-card-corner';
                span.append(corner);
            }
            return span;
        },

        cardPicture(card) {
            const picture = new Image();
            picture.src = card.picture;
            picture.alt = '';
            picture.draggable = false;
            return picture;
        },

        lay(span, { x, y, width, height }) {
            span.style.left = `${100 * (x - width / 2)}%`;
            span.style.top = `${100 * (y - height / 2)}%`;
            span.style.width = `${100 * width}%`;
            span.style.height = `${100 * height}%`;
        },

        drawProgress() {
            const line = this.$refs.stageLine;
            const how = drawn().progress;
            line.hidden = !how;
            if (!how) return;
            line.style.background = `#${how.colour}`;
            line.style.width = `${Math.min(100, (100 * this.at) / Math.max(0.1, this.seconds))}%`;
            line.style[how.top ? 'top' : 'bottom'] = 0;
            line.style[how.top ? 'bottom' : 'top'] = 'auto';
        },

        /** Another video is seen: what was moved stands in it. */
        cardsShown() {
            moved.clear();
            this.cardsSeen = '';
            this.drawCards();
        },

        // By mouse

        cardGrabbed(event) {
            const span = event.target.closest('.stage-card:not(.is-by-rule)');
            if (!span) return;
            event.preventDefault();
            const card = drawn().cards[Number(span.dataset.card)];
            if (!span.querySelector('img')) span.prepend(this.cardPicture(card));
            const frame = this.$refs.stage.getBoundingClientRect();
            const start = moved.get(nameOf(card)) ?? card;
            drag = {
                span, card, frame, x: event.clientX, y: event.clientY,
                sizes: event.target.matches('.stage-card-corner'),
                now: { x: start.x, y: start.y, width: start.width ?? card.width, height: start.height ?? card.height },
            };
            drag.start = { ...drag.now };
            span.classList.add('is-dragged');
        },

        cardDragged(event) {
            if (!drag) return;
            const { start, frame } = drag;
            const [dx, dy] = [(event.clientX - drag.x) / frame.width, (event.clientY - drag.y) / frame.height];
            if (drag.sizes) {
                const part = Math.max(0.1, Math.min(1 / start.width, (start.width + 2 * dx) / start.width));
                [drag.now.width, drag.now.height] = [start.width * part, start.height * part];
            } else {
                drag.now.x = Math.max(0, Math.min(1, start.x + dx));
                drag.now.y = Math.max(0, Math.min(1, start.y + dy));
            }
            this.lay(drag.span, drag.now);
        },

        cardDropped(event) {
            if (!drag) return;
            const { span, card, now, start, sizes } = drag;
            const isStill = Math.hypot(event.clientX - drag.x, event.clientY - drag.y) < 3;
            drag = null;
            span.classList.remove('is-dragged');
            if (isStill) return void this.openCard(card);
            moved.set(nameOf(card), now);
            const json = sizes
                ? { size: within((card.mark.size * now.width) / start.width, 30, 1000) }
                : { x: within(1000 * now.x, 0, 1000), y: within(1000 * now.y, 0, 1000) };
            this.does(() => ask(card.change, { method: 'PUT', json }), { all: true });
        },

        // As a form

        /** For another at the playhead, or for one that is there. */
        openCard(card = null) {
            this.problem = '';
            this.cardAt = card ?? this.placeAt(1000 * this.at);
            this.card = { ...usual, ...(card?.mark ?? {}) };
            this.cardPlate = this.card.plate !== '';
            this.cardWas = this.cardAsked();
            Modal.getOrCreateInstance('#cards').show();
        },

        isNewCard() {
            return !this.cardAt?.change;
        },

        /** What the form says. */
        cardAsked() {
            const { card } = this;
            const json = { ...card, plate: this.cardPlate ? card.plate.replace('#', '') || '14202B' : '' };
            json.fill = card.fill.replace('#', '');
            json.length = Math.round(Number(card.length));
            delete json.word;
            return json;
        },

        async keepCard() {
            const { cardAt, cardWas } = this;
            let json = this.cardAsked();
            // Of one that is there only what is new: it may have been dragged since the plan that the form shows.
            if (cardAt.change)
                json = Object.fromEntries(Object.entries(json).filter(([field, value]) => value !== cardWas[field]));
            const url = cardAt.change ?? drawn().scenes[cardAt.scene].card.replace(/0\/cards$/, `${cardAt.word}/cards`);
            if (!cardAt.change) json.offset = cardAt.ms;
            const method = cardAt.change ? 'PUT' : 'POST';
            const done = await this.does(() => ask(url, { method, json }), { all: true });
            if (done) Modal.getOrCreateInstance('#cards').hide();
        },

        dropCard() {
            Modal.getOrCreateInstance('#cards').hide();
            this.does(() => ask(this.cardAt.change, { method: 'DELETE' }), { all: true });
        },
    };
};
