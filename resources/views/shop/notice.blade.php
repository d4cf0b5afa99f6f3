<x-shop.layout :shop="$shop" :title="$title">
<div class="shop-narrow">
<h1>{{ $title }}</h1>
<p class="lead" dir="auto">{{ $text }}</p>
@isset($taken)
<form method="post" action="{{ $address }}"><x-shop.taken :names="$taken" /></form>
@endisset
@isset($link)
<p><a class="button" href="{{ $link }}">{{ $linkText }}</a></p>
@endisset
@unless (isset($link))
<p><a href="/">{{ $say->say('notice.see_all') }}</a></p>
@endunless
</div>
@if (count($others) > 0)
<h2 class="shop-also">{{ $say->say('notice.what_else') }}</h2>
<x-shop.goods :products="$others" is-small />
@endif
</x-shop.layout>
