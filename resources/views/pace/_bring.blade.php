{{-- Brings shorts to a length: what each step would save is shown before anything is done. --}}
<div class="modal" id="bring-length" tabindex="-1" aria-labelledby="length-title" aria-hidden="true">
    <div class="modal-dialog modal-lg modal-dialog-scrollable"><div class="modal-content">
        <div class="modal-header">
            <h2 class="modal-title" id="length-title">Bring to a length</h2>
            <button type="button" class="btn-close" data-bs-dismiss="modal" aria-label="Close"></button>
        </div>
        <div class="modal-body">
            <form class="length-ask" @submit.prevent="tryLength()">
                <select class="form-select form-select-sm" x-model="way" @change="tryLength()" aria-label="Which way">
                    <option value="tighten">Tighten to at most</option>
                    <option value="stretch">Stretch to at least</option>
                </select>
                <input class="form-control form-control-sm" inputmode="decimal" maxlength="7" x-model="goal"
                    @change="tryLength()" aria-label="Seconds"> s
                <button class="btn btn-sm btn-outline-dark">Show what it takes</button>
            </form>
            <p class="flag" role="alert" x-show="lengthProblem" x-text="lengthProblem"></p>
            <div x-html="lengthPlan" aria-live="polite"></div>
            <details class="length-limits">
                <summary>How far it may go</summary>
                <div class="scopes">
                    @foreach ($limits as $control)<x-scope :$control/>@endforeach
                </div>
            </details>
        </div>
        <div class="modal-footer">
            <button type="button" class="btn btn-primary" @click="bringLength()" :disabled="!lengthReady">Do it</button>
        </div>
    </div></div>
</div>
