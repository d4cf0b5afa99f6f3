<x-shop.layout :shop="$shop" :title="$category->name ?? $say->say('list.title')" :page="$page">
@php $look = $shop->page_look; @endphp
@if ($category === null && $look->banner !== '')
<x-shop.picture :picture="App\Models\LeadPicture::uploaded(basename($look->banner), $look->bannerText)" sizes="(min-width: 68rem) 68rem, 100vw" side="1200" is-first class="banner" />
@endif
@if ($wasAdded)<p class="notice" role="status">{{ $say->say('list.added') }} <a href="/cart">{{ $say->say('list.see_cart') }}</a></p>@endif
<h1 dir="auto">{{ $category->name ?? $say->say('list.heading') }}</h1>
@if ($category === null && $look->sentence !== '')<p class="lead shop-sentence" dir="auto">{{ $look->sentence }}</p>@endif
@if ($categories->isNotEmpty())
<nav class="categories" aria-label="{{ $say->say('list.categories') }}">
<a href="/" @if ($category === null) aria-current="page" @endif>{{ $say->say('list.everything') }}</a>
@foreach ($categories as $each)
<a href="/?category={{ $each->id }}" @if ($category?->id === $each->id) aria-current="page" @endif dir="auto">{{ $each->name }}</a>
@endforeach
</nav>
@endif
@if ($products->isEmpty())
<p class="lead">{{ $say->say('list.empty') }}</p>
@else
<x-shop.goods :products="$products" :shop="$shop" :country="$country" has-buttons />
@if ($products->hasPages())
@php $within = $category === null ? '' : "category={$category->id}&"; @endphp
<nav class="pages" aria-label="{{ $say->say('list.pages') }}">
@if ($products->previousPageUrl())<a rel="prev" href="?{{ $within }}page={{ $products->currentPage() - 1 }}">{{ $say->say('list.earlier') }}</a>@endif
@if ($products->nextPageUrl())<a rel="next" href="?{{ $within }}page={{ $products->currentPage() + 1 }}">{{ $say->say('list.more') }}</a>@endif
</nav>
@endif
@endif
</x-shop.layout>
