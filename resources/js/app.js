import Alpine from 'alpinejs';
import Modal from 'bootstrap/js/dist/modal';
import intake from './intake';
import library from './library';
import rundown from './rundown';
import sheet from './sheet';
import './keys';

window.Modal = Modal;

Alpine.data('intake', intake);
Alpine.data('library', library);
Alpine.data('rundown', rundown);
Alpine.data('sheet', sheet);
Alpine.start();
