@props(['ways', 'say'])
@php
$named = array_map(static fn ($method): string => $method === PaperKite\Payment\PaymentMethod::Card ? $say->say('payment.card') : $say->say('payment.wallet'), $ways->methods);
$listed = count($named) === 2 ? $say->say('payment.either', one: $named[0], other: $named[1]) : $named[0];
@endphp
<p class="pay-ways">{{ $say->say('payment.ways', provider: $ways->provider, ways: $listed) }}@if ($ways->takesGuests) {{ $say->say('payment.no_account') }}@endif</p>
