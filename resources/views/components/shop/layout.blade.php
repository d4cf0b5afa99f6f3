@php use Illuminate\Support\Facades\Vite; @endphp
@props(['shop', 'title', 'css' => '', 'page' => null, 'data' => []])
<!doctype html>
<html lang="{{ $say->language->value }}">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>{{ $title }} · {{ $shop->name }}</title>
<x-shop.found :page="$page" :shop="$shop" :data="$data" />
<link rel="icon" href="/favicon.svg" type="image/svg+xml">
@vite(['resources/css/shopper.css', 'resources/js/shopper/main.ts'])
{{-- After the style sheet, whose colour it replaces by the shop's own. --}}
<style nonce="{{ Vite::cspNonce() }}">:root { --shop: {{ $shop->accent }}; } {!! $css !!}</style>
</head>
<body>
<header class="shop-head">
<a class="shop-name" href="/" dir="auto">{{ $shop->name }}</a>
<a class="shop-cart" href="/cart">{{ $say->say('frame.cart') }}</a>
</header>
<main class="shop-main">
{{ $slot }}
</main>
<footer class="shop-foot">
<a href="/account">{{ $say->say('frame.orders') }}</a>
@if ($shop->checkout_rules->terms !== '')<a href="/terms">{{ $say->say('frame.terms') }}</a>@endif
@if ($shop->checkout_rules->policy !== '')<a href="/policy">{{ $say->say('frame.policy') }}</a>@endif
</footer>
</body>
</html>
