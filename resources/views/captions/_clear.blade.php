@if ($page->short->problem !== null)
    <p class="notice notice-problem">{{ $page->short->problem }}</p>
@elseif ($page->short->proof_problem !== null)
    <p class="notice notice-problem">{{ $page->short->proof_problem }}
        <button type="button" class="link" @click="order()">Try again</button></p>
@elseif ($page->faint() > 0)
    <p class="notice">
        <b>{{ $page->faint() === 1 ? '1 caption does' : $page->faint().' captions do' }} not stand out from
        {{ $page->faint() === 1 ? 'its picture' : 'their pictures' }}</b> (contrast under 4.5).
        @foreach ($page->mends() as $kind => $mend)
            <button type="button" class="btn btn-sm btn-outline-dark" @click="mend('{{ $kind }}')">{{
                $mend['label']
            }} mends {{ $mend['count'] }}</button>
        @endforeach
    </p>
@endif
