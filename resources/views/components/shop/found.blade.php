@props(['page', 'shop', 'data' => []])
{{-- What the page says of itself to search engines, and to programs that show a link to it. --}}
@if ($page === null || ! $page->isFound)<meta name="robots" content="noindex">@endif

@if ($page !== null)
@if ($page->isFound)<link rel="canonical" href="{{ $page->address }}">@endif

@if ($page->description() !== '')<meta name="description" content="{{ $page->description() }}">@endif

@foreach ($page->properties($shop->name) as $property => $content)
<meta property="{{ $property }}" content="{{ $content }}">
@endforeach
@endif
@foreach ($data as $document)
<script type="application/ld+json">{!! PaperKite\Text\ScriptJson::of($document) !!}</script>
@endforeach
