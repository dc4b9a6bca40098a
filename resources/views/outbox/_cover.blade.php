<div class="modal" id="cover" tabindex="-1" aria-labelledby="cover-title" aria-hidden="true">
    <div class="modal-dialog modal-lg"><div class="modal-content">
        <div class="modal-header">
            <h2 class="modal-title" id="cover-title">Cover</h2>
            <button type="button" class="btn-close" data-bs-dismiss="modal" aria-label="Close"></button>
        </div>
        <div class="modal-body cover-choice">
            <img class="cover-now" :src="cover.picture" alt="The cover as it will be" width="180" height="320">
            <div>
                <p class="quiet" x-show="!cover.all.length" x-text="cover.says"></p>
                <div class="cover-row">
                    <template x-for="one in cover.all" :key="one.ms">
                        <button type="button" class="cover-one" @click="cover.ms = one.ms; coverShown()"
                            :aria-pressed="cover.ms === one.ms" :aria-label="`At ${one.ms / 1000} s: ${one.says}`">
                            <img :src="one.picture" alt="" width="90" height="160">
                            <span x-text="`${(one.ms / 1000).toFixed(1)} s`"></span>
                            <span class="quiet" x-text="one.says"></span></button>
                    </template>
                </div>
                <label>Another moment <input type="range" class="form-range" min="0" :max="cover.length - 40" step="40"
                    x-model.number="cover.ms" @change="coverShown()"></label>
                <label>A card over it <input type="text" class="form-control form-control-sm" maxlength="80"
                    x-model="cover.text" @change="coverShown()" placeholder="none"></label>
                <p class="actions"><button type="button" class="btn btn-primary" @click="coverKept()">Save the
                    cover</button></p>
            </div>
        </div>
    </div></div>
</div>
