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
@if ($typed !== '' || $products->total() > 3 || $sort !== PaperKite\Shopfront\GoodsSort::Name)
<form method="get" action="/" class="list-tools" role="search">
@if ($category)<input type="hidden" name="category" value="{{ $category->id }}">@endif
<div class="list-search">
<label for="search" class="visually-hidden">{{ $say->say('list.search') }}</label>
<input id="search" type="search" name="q" value="{{ $typed }}" maxlength="100" placeholder="{{ $say->say('list.search') }}" dir="auto" enterkeyhint="search">
<button class="button second">{{ $say->say('list.find') }}</button>
</div>
<div class="list-sort">
<label for="sort">{{ $say->say('list.sort') }}</label>
<select id="sort" name="sort">
@foreach (PaperKite\Shopfront\GoodsSort::cases() as $each)
<option value="{{ $each->value }}" @selected($each === $sort)>{{ $say->say($each->phrase()) }}</option>
@endforeach
</select>
<button class="button second">{{ $say->say('list.sort_it') }}</button>
</div>
</form>
@endif
@if ($typed !== '')
<p class="found" role="status">
@if ($products->total() === 0){!! $say->html('list.found_none', typed: '<bdi>'.e($typed).'</bdi>') !!}
@elseif ($products->total() === 1){!! $say->html('list.found_one', typed: '<bdi>'.e($typed).'</bdi>') !!}
@else{!! $say->html('list.found_some', count: (string) $products->total(), typed: '<bdi>'.e($typed).'</bdi>') !!}@endif
@if ($near !== []) {!! $say->html('list.found_near', words: '<bdi>'.e(implode(', ', array_slice($near, 0, 4))).'</bdi>') !!}@endif

<a href="{{ $category === null ? '/' : "/?category={$category->id}" }}">{{ $say->say('notice.see_all') }}</a></p>
@endif
@if ($products->isEmpty())
@if ($typed === '')<p class="lead">{{ $say->say('list.empty') }}</p>@endif
@else
<x-shop.goods :products="$products" :shop="$shop" :country="$country" has-buttons />
<x-shop.pages :pages="$products" />
@endif
</x-shop.layout>
