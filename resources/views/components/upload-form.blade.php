{{-- One file for the channel: where it goes, the name it is sent under, its endings, and what the button says. --}}
@props(['to', 'name', 'accept', 'label'])
<form method="post" action="{{ $to }}" enctype="multipart/form-data" class="channel-new">
    @csrf
    <input type="file" name="{{ $name }}" class="form-control form-control-sm" accept="{{ $accept }}"
        aria-label="{{ $label }}" required>
    <button class="btn btn-sm btn-outline-dark">{{ $slot }}</button>
</form>
