<!doctype html>
<html lang="{{ $say->language->value }}">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>{{ $title }}</title>
<link rel="icon" href="/favicon.svg" type="image/svg+xml">
@vite(['resources/css/shopper.css'])
</head>
<body>
<main class="shop-main shop-narrow">
<h1>{{ $title }}</h1>
<p>{{ $text }}</p>
@if ($shop)
<p><a href="/">{{ $say->say('failed.to_shop', shop: $shop->name) }}</a></p>
@endif
</main>
</body>
</html>
