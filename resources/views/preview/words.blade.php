<!doctype html>
<html lang="{{ $say->language->value }}">
<head>
<meta charset="utf-8">
<title>{{ $say->say('thanks.title') }}</title>
@vite(['resources/css/shopper.css'])
<style>{!! $shop->page_look->css() !!}</style>
</head>
<body>
<header class="shop-head"><span class="shop-name" dir="auto">{{ $shop->name }}</span><span class="shop-cart">{{ $say->say('frame.cart') }}</span></header>
<main class="shop-main">
@include('shop.parts.thanks', ['isOpen' => true, 'isSent' => false, 'payNotice' => null])
</main>
</body>
</html>
