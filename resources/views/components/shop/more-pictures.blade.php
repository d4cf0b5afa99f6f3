@props(['pictures'])
@if ($pictures->count() > 1)
<ul class="more-pictures">
@foreach ($pictures as $picture)
<li><a href="{{ $picture->path() }}"><img src="{{ $picture->path() }}" alt="{{ $picture->alt }}" width="88" height="88" loading="lazy"></a></li>
@endforeach
</ul>
@endif
