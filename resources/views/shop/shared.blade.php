<x-shop.layout :shop="$shop" :title="$page->title" :page="$page">
<div class="shop-narrow">
@if ($picture)<p><x-shop.picture :picture="$picture" sizes="20rem" side="240" is-first /></p>@endif
<h1 dir="auto">{{ $page->title }}</h1>
@if ($price !== '')<p class="price">{{ $price }}</p>@endif
@if ($page->text !== '')<p class="lead" dir="auto">{{ $page->text }}</p>@endif
<p><a href="/">{{ $say->say('notice.see_all') }}</a></p>
</div>
</x-shop.layout>
