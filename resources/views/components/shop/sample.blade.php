@props(['sample'])
@if ($sample?->state === App\Models\SampleState::Ready)
@php $title = match ($sample->kind) {
    PaperKite\Download\SampleKind::Picture => $say->say('sample.picture'),
    PaperKite\Download\SampleKind::Pages => $say->say('sample.pages'),
    PaperKite\Download\SampleKind::Audio => $say->say('sample.audio'),
    PaperKite\Download\SampleKind::Video => $say->say('sample.video'),
}; @endphp
@if ($sample->kind->isDrawn())
<details class="sample">
<summary>{{ $title }}</summary>
<ol>
@foreach ($sample->shown() as $picture)
<li><x-shop.picture :picture="$picture" :alt="$say->say('sample.page', number: $loop->iteration)" sizes="(min-width: 48rem) 26rem, 92vw" side="420" /></li>
@endforeach
</ol>
</details>
@else
<figure class="sample">
<figcaption>{{ $title }}</figcaption>
@if ($sample->kind === PaperKite\Download\SampleKind::Audio)<audio controls preload="none" src="{{ $sample->path() }}"></audio>@else<video controls playsinline preload="metadata" src="{{ $sample->path() }}"></video>@endif
</figure>
@endif
@endif
