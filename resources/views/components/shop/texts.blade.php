@props(['shop'])
@php
$texts = array_filter(['/terms' => $shop->checkout_rules->terms === '' ? null : $say->say('checkout.terms'), '/policy' => $shop->checkout_rules->policy === '' ? null : $say->say('checkout.policy')]);
$links = [];
foreach ($texts as $path => $name) {
    $links[count($texts) === 2 ? trim($path, '/') : 'text'] = '<a href="'.$path.'" target="_blank">'.e($name).'</a>';
}
@endphp
@if ($texts !== [])
<p class="pay-notice">{!! $say->html(count($texts) === 2 ? 'checkout.agree_both' : 'checkout.agree', ...$links) !!}</p>
@endif
