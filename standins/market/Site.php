<?php

declare(strict_types=1);

namespace Standins\market;

use Standins\Answer;
use Standins\Request;

/** A marketplace as its visitors see it: goods with their data for machines, a search, and a basket that says whose sale it would be. */
final readonly class Site
{
    public function __construct(
        private Market $market,
        /** Seconds by which the demo was moved on. */
        private float $ahead,
    ) {}

    public function answer(Request $request): Answer
    {
        $item = $this->item($request);
        $goods = $item === null ? null : $this->market->goods[$item] ?? null;

        return match (true) {
            $request->path === '/basket' => $this->basket($request),
            $this->searched($request) !== null => $this->results((string) $this->searched($request), $request),
            $goods !== null => $this->shown((string) $item, $goods, $request),
            $request->path === '/' => $this->results('', $request),
            default => $this->page('Nothing here', '<h1>Nothing here</h1>', $request, 404),
        };
    }

    private function item(Request $request): ?string
    {
        if (preg_match($this->market->itemPath, $request->path, $found) !== 1) {
            return null;
        }

        return $this->market->itemParameter === null ? $found['item'] ?? null : $request->query[$this->market->itemParameter] ?? null;
    }

    private function searched(Request $request): ?string
    {
        return match (true) {
            $this->market->searchParameter === null => str_starts_with($request->path, $this->market->searchPath) ? rawurldecode(substr($request->path, strlen($this->market->searchPath))) : null,
            $request->path === $this->market->searchPath => $request->query[$this->market->searchParameter] ?? '',
            default => null,
        };
    }

    private function shown(string $item, Goods $goods, Request $request): Answer
    {
        sleep($goods->seconds);
        if ($goods->movedTo !== null) {
            return Answer::goOnTo($this->market->address($goods->movedTo));
        }
        if ($goods->isGone($this->ahead)) {
            return $this->page($goods->name, '<h1>'.htmlspecialchars($goods->name).'</h1><p>This is not sold any more.</p>', $request, 410);
        }
        $price = number_format($goods->price($this->ahead, $this->market->rate) / 100, 2, '.', '');
        $data = json_encode(['@context' => 'https://schema.org', '@type' => 'Product', 'name' => $goods->name, 'sku' => $item, 'description' => $goods->text, 'offers' => ['@type' => 'Offer', 'price' => $price, 'priceCurrency' => $this->market->currency, 'availability' => 'https://schema.org/InStock']], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_HEX_TAG | JSON_HEX_AMP);

        return $this->page($goods->name, '<h1>'.htmlspecialchars($goods->name)."</h1><p class=\"price\">{$price} {$this->market->currency}</p><p>".htmlspecialchars($goods->text).'</p><form method="post" action="/basket"><input type="hidden" name="item" value="'.htmlspecialchars($item).'"><input type="hidden" name="by" value="'.htmlspecialchars($this->by($request)).'"><button>Into the basket</button></form><script type="application/ld+json">'.$data.'</script>', $request);
    }

    private function basket(Request $request): Answer
    {
        $goods = $this->market->goods[$request->form['item'] ?? ''] ?? null;
        $by = $request->form['by'] ?? '';

        return $this->page('Basket', '<h1>Your basket</h1><p>'.($goods === null ? 'There is nothing in it.' : htmlspecialchars($goods->name)).'</p><p>'.($by === '' ? 'Nobody sent you here.' : 'This sale would be credited to <strong>'.htmlspecialchars($by).'</strong>.').'</p>', $request);
    }

    private function results(string $words, Request $request): Answer
    {
        $list = '';
        foreach ($this->market->goods as $item => $goods) {
            if ($words === '' || mb_stripos($goods->name, $words) !== false) {
                $list .= '<li><a href="'.htmlspecialchars($this->market->address((string) $item)).'">'.htmlspecialchars($goods->name).'</a></li>';
            }
        }

        return $this->page($words === '' ? $this->market->name : "Search: {$words}", '<h1>'.htmlspecialchars($words === '' ? $this->market->name : "Search: {$words}").'</h1>'.($list === '' ? '<p>Nothing was found.</p>' : "<ul>{$list}</ul>"), $request);
    }

    private function by(Request $request): string
    {
        return $request->query[$this->market->idParameter] ?? '';
    }

    private function page(string $title, string $content, Request $request, int $status = 200): Answer
    {
        $by = $this->by($request);
        $said = $by === '' ? '' : '<p class="by">Sent here by partner <strong>'.htmlspecialchars($by).'</strong>.</p>';

        return Answer::page('<!doctype html><html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><title>'.htmlspecialchars("{$title} · {$this->market->name}").'</title><link rel="icon" href="data:,"><style>body{font:1rem/1.5 Georgia,serif;margin:0;color:#222}header,footer{background:#e9efe9;padding:.8rem 1.5rem}main{padding:1.5rem;max-width:40rem}.by{border-left:4px solid #4b7;padding-left:.8rem}.price{font-size:1.4rem}</style></head><body><header><a href="/">'.htmlspecialchars($this->market->name)."</a></header><main>{$said}{$content}</main><footer>A made-up marketplace, to try Paper Kite with.</footer></body></html>", $status);
    }
}
