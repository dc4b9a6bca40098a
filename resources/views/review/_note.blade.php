<form class="review-note" x-show="writing" x-cloak @submit.prevent="sendBack()">
    <label for="note" x-text="`What is to be changed at ${at.toFixed(1)} s?`"></label>
    <textarea id="note" x-ref="note" class="form-control" rows="3" x-model="note"
        @keydown.enter="$event.ctrlKey && sendBack()" @keydown.escape="writing = false"></textarea>
    <button class="btn btn-primary" :disabled="busy">Send back</button>
    <button type="button" class="link" @click="writing = false">Cancel</button>
</form>
