@props(['filter' => new App\Shelves\Library\LibraryFilter, 'collections' => []])
{{-- By what footage is looked for, beside its words. --}}
@foreach ([
    ['kind', 'Clips and stills', ['clip' => 'clips', 'still' => 'stills'], $filter->kind],
    ['shape', 'Any shape', App\Shelves\Library\LibraryFilter::SHAPES, $filter->shape],
    ['length', 'Any length', App\Shelves\Library\LibraryFilter::LENGTHS, $filter->length],
    ['collection', 'All collections', array_combine($collections, $collections), $filter->collection],
    ['use', 'Used or not', App\Shelves\Library\LibraryFilter::USES, $filter->use],
] as [$name, $all, $options, $value])
    <select name="{{ $name }}" class="form-select form-select-sm" aria-label="{{ $all }}">
        <option value="">{{ $all }}</option>
        @foreach ($options as $id => $label)
            <option value="{{ $id }}" @selected($value === (string) $id)>{{ $label }}</option>
        @endforeach
    </select>
@endforeach
