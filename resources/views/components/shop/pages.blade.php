@props(['pages'])
@if ($pages->hasPages())
@php
[$at, $last] = [$pages->currentPage(), $pages->lastPage()];
$shown = array_unique(array_filter([1, $at - 1, $at, $at + 1, $last], static fn (int $page): bool => $page >= 1 && $page <= $last));
$before = 0;
@endphp
<nav class="pages" aria-label="{{ $say->say('list.pages') }}">
@if ($at > 1)<a rel="prev" href="{{ $pages->url($at - 1) }}">{{ $say->say('list.earlier') }}</a>@endif
@foreach ($shown as $page)
@if ($page > $before + 1)<span aria-hidden="true">…</span>@endif
@php $before = $page; @endphp
@if ($page === $at)<span aria-current="page"><span class="visually-hidden">{{ $say->say('list.page') }} </span>{{ $page }}</span>@else<a href="{{ $pages->url($page) }}"><span class="visually-hidden">{{ $say->say('list.page') }} </span>{{ $page }}</a>@endif
@endforeach
@if ($at < $last)<a rel="next" href="{{ $pages->url($at + 1) }}">{{ $say->say('list.more') }}</a>@endif
</nav>
@endif
