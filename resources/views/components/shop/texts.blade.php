@props(['shop'])
@php
$texts = array_filter(['/terms' => $shop->checkout_rules->terms === '' ? null : 'terms', '/policy' => $shop->checkout_rules->policy === '' ? null : 'returns and privacy policy']);
@endphp
@if ($texts !== [])
<p class="pay-notice">With your order you agree to our @foreach ($texts as $path => $name)@unless ($loop->first) and our @endunless<a href="{{ $path }}" target="_blank">{{ $name }}</a>@endforeach.</p>
@endif
