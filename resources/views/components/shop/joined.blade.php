@props(['joined'])
@if ($joined !== null)
<div class="notice joined" role="status">
<p><bdi>{{ $joined->heading }}</bdi></p>
<ul>
@foreach ($joined->goods as $goods)
<li dir="auto">{{ $goods }}</li>
@endforeach
</ul>
<button class="plain" name="undo_joined" value="1" formnovalidate>{{ $say->say('joined.undo') }}</button>
</div>
@endif
