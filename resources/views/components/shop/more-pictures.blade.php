@props(['pictures'])
@if ($pictures->count() > 1)
<ul class="more-pictures">
@foreach ($pictures as $picture)
<li><a href="{{ $picture->path() }}"><x-shop.picture :picture="$picture->shown()" sizes="88px" side="88" /></a></li>
@endforeach
</ul>
@endif
