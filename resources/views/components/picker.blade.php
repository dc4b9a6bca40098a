{{-- Chooses the picture of a shot; see resources/js/picking.js. --}}
<div class="modal" id="picker" tabindex="-1" aria-labelledby="picker-title" aria-hidden="true"
    @keydown="bestKey($event)">
    <div class="modal-dialog modal-xl modal-dialog-scrollable"><div class="modal-content">
        <div class="modal-header">
            <h2 class="modal-title" id="picker-title">Swap the picture</h2>
            <form class="picker-filter" x-ref="filters" @submit.prevent @change="search()">
                <input type="search" class="form-control form-control-sm" placeholder="Search names and tags"
                    name="search" aria-label="Search footage" x-model="words" @input.debounce.250ms="search()">
                <x-library-filters/>
            </form>
            <button type="button" class="btn-close" data-bs-dismiss="modal" aria-label="Close"></button>
        </div>
        <div class="modal-best" x-html="best" @click="pickedOf($event)" x-show="!words && !filtered"></div>
        <div class="modal-body" x-ref="picker" data-url="{{ route('footage.picker') }}" x-html="found"
            @click="picked($event.target.closest('[data-footage]'))"></div>
    </div></div>
</div>
