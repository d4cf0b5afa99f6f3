@props(['shop', 'title', 'css' => '', 'page' => null, 'data' => []])
@inject('count', App\Http\Shopper\Cart\CartCount::class)
@inject('sheets', App\Shopfront\PageSheet::class)
@inject('style', App\Http\Shopper\OwnStyle::class)
@php
use Illuminate\Support\Facades\Vite;
$look = $shop->page_look;
$pieces = $count->of($shop);
@endphp
<!doctype html>
<html lang="{{ $say->language->value }}">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>{{ $title }} · {{ $shop->name }}</title>
<x-shop.found :page="$page" :shop="$shop" :data="$data" />
<link rel="icon" href="/favicon.svg" type="image/svg+xml">
@if ($file = $look->font->file())<link rel="preload" as="font" type="font/woff2" href="{{ Vite::asset("node_modules/@fontsource-variable/{$file}") }}" crossorigin>@endif

@vite($isPreview ?? false ? ['resources/css/shopper.css'] : ['resources/css/shopper.css', 'resources/js/shopper/main.ts'])
{{-- After the style sheet, whose colours it replaces by the shop's own. --}}
<style>{!! $style->allowed(($sheet ?? $sheets->of($look)).$css) !!}</style>
</head>
<body @if ($isPreview ?? false) inert @endif>
<header class="shop-head">
<a class="shop-name" href="/" dir="auto">@if ($look->mark->path() !== '')<svg class="shop-mark" viewBox="0 0 20 20" aria-hidden="true"><path d="{{ $look->mark->path() }}" /></svg>@endif{{ $shop->name }}</a>
<a class="shop-cart" href="/cart">{{ $say->say('frame.cart') }}<span class="cart-count" data-cart-count="{{ $pieces }}" @if ($pieces === 0) hidden @endif>{{ $pieces }}</span></a>
</header>
<main class="shop-main" data-offline="{{ $say->say('frame.offline') }}" data-back="{{ $say->say('list.back') }}">
{{ $slot }}
</main>
<footer class="shop-foot">
<a href="/account">{{ $say->say('frame.orders') }}</a>
@if ($shop->checkout_rules->terms !== '')<a href="/terms">{{ $say->say('frame.terms') }}</a>@endif
@if ($shop->checkout_rules->policy !== '')<a href="/policy">{{ $say->say('frame.policy') }}</a>@endif
</footer>
</body>
</html>
