import Alpine from 'alpinejs';
import Modal from 'bootstrap/js/dist/modal';
import briefs from './briefs';
import drafts from './drafts';
import intake from './intake';
import library from './library';
import rundown from './rundown';
import sheet from './sheet';
import splitChoice from './split-choice';
import take from './take';
import voices from './voices';
import voicing from './voicing';
import './acts';
import './keys';

window.Modal = Modal;

Alpine.data('briefs', briefs);
Alpine.data('drafts', drafts);
Alpine.data('intake', intake);
Alpine.data('library', library);
Alpine.data('rundown', rundown);
Alpine.data('sheet', sheet);
Alpine.data('splitChoice', splitChoice);
Alpine.data('take', take);
Alpine.data('voices', voices);
Alpine.data('voicing', voicing);
Alpine.start();
