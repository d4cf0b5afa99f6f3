@props(['names'])
@if ($names !== [])
<div class="notice" role="status">
<p>{!! $say->html('cart.taken', names: '<bdi>'.e(implode(', ', $names)).'</bdi>') !!} <button class="plain" name="put_back" value="1" formnovalidate>{{ $say->say('cart.put_back') }}</button></p>
</div>
@endif
