<x-shop.layout :shop="$shop" :title="$category->name ?? 'All goods'">
@if ($wasAdded)<p class="notice" role="status">It is in your cart. <a href="/cart">See the cart</a></p>@endif
<h1 dir="auto">{{ $category->name ?? 'Everything in the shop' }}</h1>
@if ($categories->isNotEmpty())
<nav class="categories" aria-label="Categories">
<a href="/" @if ($category === null) aria-current="page" @endif>Everything</a>
@foreach ($categories as $each)
<a href="/?category={{ $each->id }}" @if ($category?->id === $each->id) aria-current="page" @endif dir="auto">{{ $each->name }}</a>
@endforeach
</nav>
@endif
@if ($products->isEmpty())
<p class="lead">The shelves are empty for now.</p>
@else
<x-shop.goods :products="$products" :shop="$shop" has-buttons />
@if ($products->hasPages())
@php $within = $category === null ? '' : "category={$category->id}&"; @endphp
<nav class="pages" aria-label="Pages">
@if ($products->previousPageUrl())<a rel="prev" href="?{{ $within }}page={{ $products->currentPage() - 1 }}">Earlier goods</a>@endif
@if ($products->nextPageUrl())<a rel="next" href="?{{ $within }}page={{ $products->currentPage() + 1 }}">More goods</a>@endif
</nav>
@endif
@endif
</x-shop.layout>
