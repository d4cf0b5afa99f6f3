@php $style = new PaperKite\Medium\ButtonStyle($look); @endphp
<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<title>The button in all its states</title>
<style>
body { margin: 0; padding: 18px 14px; font: 16px/1.4 system-ui, sans-serif; }
ul { display: flex; flex-wrap: wrap; gap: 14px 20px; align-items: flex-end; margin: 0; padding: 0; list-style: none; }
li { max-width: 100%; }
li.wide { width: 100%; }
small { display: block; margin-top: 4px; font-size: 12px; opacity: .8; }
[aria-busy] { cursor: progress; }
li.lost > :first-child { opacity: .45; }
{!! $css !!}
</style>
</head>
<body>
<ul>
@foreach ($states as $state)
<li @class(['wide' => $style->takesAllRoom(), 'lost' => $state['isLost']])>
@if ($look->picture !== null)
<span style="{{ PaperKite\Medium\Markup::style([...$style->room(), 'max-width' => '100%']) }}"><img src="{{ $base.$look->picture->path }}" alt="{{ $look->picture->text }}" style="{{ PaperKite\Medium\Markup::style([...$look->picture->drawn(), 'opacity' => $state['isOff'] ? '.5' : null]) }}"></span>
@else
<span class="button" dir="auto" @if ($state['isOff']) aria-disabled="true" @endif @if ($state['isBusy']) aria-busy="true" @endif>{!! $style->content($state['words'], $base) !!}</span>
@endif
<small>{{ $state['label'] }}</small>
</li>
@endforeach
</ul>
</body>
</html>
