@extends('layouts.app')
@section('title', 'Results')
@section('content')
<div class="page-head">
    <div>
        <h1>Results</h1>
        <p class="lead">{{ $page->lead() }}</p>
    </div>
    <div class="actions">
        <form method="post" action="{{ route('results.ask') }}">@csrf
            <button class="btn btn-outline-dark" data-key="a" data-key-does="Ask the outlets">Ask the outlets</button>
        </form>
        <a class="btn btn-outline-dark" href="{{ route('calendar.show') }}" data-key="e"
            data-key-does="Outbox">Outbox</a>
    </div>
</div>
@if (session('saved'))<p class="notice" role="status">{{ session('saved') }}</p>@endif
@if (session('left'))
    <ul class="notice notice-problem" role="status">
        @foreach (session('left') as $line)<li>{{ $line }}</li>@endforeach
    </ul>
@endif
<nav class="outbox-outlets" aria-label="Outlets">
    <a href="{{ route('results.show') }}" @class(['is-here' => $page->outlet === null])>All outlets</a>
    @foreach ($page->outlets as $one)
        <a href="{{ route('results.show', ['outlet' => $one->id]) }}"
            @class(['is-here' => $one->id === $page->outlet?->id])>{{ $one->name }}</a>
    @endforeach
</nav>
@if ($page->lines === [])
    <p class="notice">What was posted is watched for here: views, likes, watch time and earnings, and which hooks,
        lengths and voices work. <a href="{{ route('calendar.show') }}">Post something first</a>, or take in a table
        below once something was.</p>
@else
<div class="results-top">
    <section aria-label="Views a day">
        <h2>Views a day</h2>
        <div class="results-plot" role="img" aria-label="Views a day; the numbers stand in the table below"
            x-data="plot(@js($page->times()), @js(array_values($page->days)), 'Views')">
        </div>
        <details class="results-behind"><summary>The numbers</summary>
            <table class="results-days">
                <thead><tr><th scope="col">Day</th><th scope="col">Views</th></tr></thead>
                <tbody>@foreach ($page->days as $day => $views)
                    <tr><td>{{ $day }}</td><td class="num">{{ number_format($views) }}</td></tr>@endforeach</tbody>
            </table>
        </details>
    </section>
    <section aria-label="What if">
        <h2>Earnings</h2>
        <p>Views ÷ 1,000 × the rate of each outlet, or what it tells itself.</p>
        <form method="get" action="{{ route('results.show') }}" class="outlet-form">
            @if ($page->outlet !== null)<input type="hidden" name="outlet" value="{{ $page->outlet->id }}">@endif
            <label>What if 1,000 views brought <input class="form-control form-control-sm" name="rate"
                inputmode="decimal" value="{{ $page->whatIf?->written() }}" placeholder="0.50" required></label>
            <button class="btn btn-sm btn-outline-dark">Work it out</button>
        </form>
        <p role="status">{{ $page->wouldBe() }}</p>
    </section>
</div>
<h2>What works</h2>
<p class="quiet">Views in the first {{ App\Desks\Results\ChannelResults::AGE_DAYS }} days, so that older shorts are no
    better off.
    @if ($page->works->all === null)
        None is that old yet.
    @else
        The median of all {{ $page->works->all->count }} is {{ number_format($page->works->all->median) }}: the thin
        line. A bar is where the median lies in 95 of 100 cases, as drawing again out of what was seen says
        (Efron 1979); the mark in it is what was seen.
    @endif
</p>
<div class="results-factors">
    @foreach ($page->works->factors as $label => $bars)
        <table class="factor">
            <caption>{{ $label }}</caption>
            <thead><tr><th scope="col">{{ $label }}</th><th scope="col">Shorts</th><th scope="col">Median</th>
                <th scope="col">Between</th><th scope="col">Says</th></tr></thead>
            <tbody>
            @foreach ($bars as $bar)
                @php($spread = $bar->group->spread)
                <tr @class(['is-few' => $spread->isFew()])>
                    <th scope="row">{{ $bar->group->name }}</th>
                    <td class="num">{{ $spread->count }}</td>
                    <td class="num">{{ number_format($spread->median) }}</td>
                    <td class="factor-bar"><svg viewBox="0 0 100 10" preserveAspectRatio="none" role="img"
                        aria-label="{{ number_format($spread->sure->from) }} to {{ number_format($spread->sure->to) }}">
                        <rect x="{{ $bar->from }}" y="3" width="{{ max(0.6, $bar->to - $bar->from) }}" height="4"/>
                        <line class="all" x1="{{ $bar->all }}" x2="{{ $bar->all }}" y1="0" y2="10"/>
                        <line class="seen" x1="{{ $bar->median }}" x2="{{ $bar->median }}" y1="1" y2="9"/>
                    </svg></td>
                    <td class="factor-says">{{ $bar->group->says() }}</td>
                </tr>
            @endforeach
            </tbody>
        </table>
    @endforeach
</div>
@if ($page->works->variants !== [])
    <h2>Variants of one script</h2>
    @foreach ($page->works->variants as $variants)
        <table class="order variants">
            <thead><tr><th class="what">Variant</th><th class="num">Views</th><th>Chance that the first is
                better</th></tr>
            </thead>
            <tbody>@foreach ($variants->seen as $one)
                <tr><td class="what">{{ $one->title }}</td><td class="num">{{ number_format($one->views) }}</td>
                    <td>{{ $loop->first ? ($variants->isSure() ? 'better than the others' : 'too close to tell')
                        : round(100 * $variants->chance($one)).' %' }}</td></tr>
            @endforeach</tbody>
        </table>
    @endforeach
@endif
<h2>Shorts</h2>
<table class="order results-rows">
    <thead><tr><th class="what">Short</th><th>Outlet</th><th>Posted</th><th class="num">Views</th>
        <th class="num">In {{ App\Desks\Results\ChannelResults::AGE_DAYS }} days</th><th class="num">Liked it</th>
        <th class="num">Watched</th><th class="num">Earned</th><th><span class="visually-hidden">What can be
        done</span></th></tr></thead>
    <tbody>@foreach ($page->lines as $line)
        @php($post = $line->post)
        <tr>
            <td class="what">{{ $post->short->title }}
                @if ($line->fell)<span class="flag">views were taken back there</span>@endif</td>
            <td>{{ $post->outlet->name }}</td>
            <td>{{ $line->posted }}</td>
            <td class="num">{{ $line->last === null ? 'not told' : number_format($line->last->views) }}</td>
            <td class="num">{{ $line->atAge === null ? 'too young' : number_format($line->atAge) }}</td>
            <td class="num" title="Wilson’s interval, in 95 of 100 cases">{{ $line->liked() }}</td>
            <td class="num">{{ $line->watched() }}</td>
            <td class="num">{{ $line->earnings() }}</td>
            <td><form method="post" action="{{ route('results.next', $post) }}">@csrf
                <button class="link" aria-label="Make the next batch like {{ $post->short->title }}">Next batch like
                    it</button></form></td>
        </tr>
    @endforeach</tbody>
</table>
@endif
<h2>A table of results</h2>
<form method="post" action="{{ route('results.table') }}" enctype="multipart/form-data" class="outlet-form">
    @csrf
    <label>As an outlet gives it out: CSV, columns in any order <input type="file" class="form-control form-control-sm"
        name="table" accept=".csv,.tsv,.txt" required></label>
    <button class="btn btn-sm btn-outline-dark">Import it</button>
</form>
@endsection
