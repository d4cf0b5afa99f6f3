<!doctype html>
<html lang="{{ $say->language->value }}">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>{{ $caption }} · {{ $shop->name }}</title>
@vite(['resources/css/shopper.css'])
</head>
<body>
<main class="shop-frame">
<p>{!! $say->html('frame.window', shop: "<bdi>".e($shop->name)."</bdi>") !!}</p>
<a class="button" href="{{ $link }}" target="_top" @isset($partner) rel="{{ PaperKite\Medium\PartnerNote::REL }}" @endisset dir="auto">{{ $caption }}</a>
<p class="frame-address">{!! $say->html('frame.address', address: '<a href="'.e($shop->base().$link).'" target="_blank" rel="noopener">'.e($shop->base().$link).'</a>') !!}</p>
@isset($partner)<p class="partner-note" dir="auto">{{ $partner->disclosure }}</p>@endisset
</main>
</body>
</html>
