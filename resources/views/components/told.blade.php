{{-- What was done, what can be taken back or done again, and what went wrong. --}}
<p class="told" role="status">
    <span x-text="said"></span>
    <button type="button" class="link" x-show="undo" x-cloak @click="takeBack()" data-key="u"
        data-key-does="Undo the last change"
        >Undo: <span x-text="undo"></span></button>
    <button type="button" class="link" x-show="redo" x-cloak @click="doAgain()" data-key="y"
        data-key-does="Do again what was undone"
        >Do again: <span x-text="redo"></span></button>
</p>
<p class="notice notice-problem" role="alert" x-show="problem" x-text="problem" x-cloak></p>
