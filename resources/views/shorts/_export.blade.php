@php($row = $sheet->row)
<div class="export">
    @if ($row->strip)
        <p class="export-length">
            <b @class(['is-over' => $row->strip->isOver()])>{{ $row->strip->about() }}{{
                $row->strip->seconds()
            }}</b>
            {{ $row->strip->room() }} · hook {{ $row->strip->hookSeconds() }} s
        </p>
    @endif
    <div class="export-state">@include('shorts._state', ['row' => $row])</div>
    <div class="export-others">@include('shorts._others', ['row' => $row])</div>
    @foreach ($row->flags as $flag)<x-flag :$flag/>@endforeach
    @if ($row->short->problem)<p class="flag" role="alert">{{ $row->short->problem }}</p>@endif
    <form method="post" action="{{ route('shorts.export', $row->short) }}" class="export-buttons">
        @csrf
        <button @class(['btn', $row->isFinished() ? 'btn-outline-dark' : 'btn-primary'])
            name="quality" value="final" data-key="e" data-key-does="Export"
            @disabled($row->export()?->state->isOpen())>Export</button>
        <button class="btn btn-outline-dark" name="quality" value="draft" data-key="d" data-key-does="Draft"
            @disabled($row->export()?->state->isOpen())>Draft</button>
    </form>
    @if ($row->done())
        <p class="export-files">
            @foreach (App\Desks\Exporting\ExportedFiles::EXTENSIONS as $extension)
                <a href="{{ route('exports.file', [$row->done(), $extension, 'save' => 1]) }}">{{
                    strtoupper($extension)
                }}</a>
            @endforeach
        </p>
    @endif
</div>
