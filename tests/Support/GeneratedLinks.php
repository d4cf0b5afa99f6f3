<?php

declare(strict_types=1);

namespace Tests\Support;

use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Open links from a seed, right and wrong, each with what must come of it. Knows the grammar from its description alone, not from the reader.
 *
 * @phpstan-type Link array{link: string, lines: array<int|string, int>|null, place: non-empty-string}
 */
final readonly class GeneratedLinks
{
    public const HOST = 'www.fern.example';

    /** What the shop sells, by SKU: whether one is ready to go into a cart, or still to be chosen of. */
    public const GOODS = ['honey-340' => true, 'candle' => true, 'a+b' => true, '340' => true, 'דבש' => true, "o'clock&co" => true, 'wrap-Large' => true, 'wrap' => false];

    private const WRONG_ITEMS = ['', '0*candle', '1000*candle', '-1*candle', '2*', '2*3*candle', 'jam', 'candle@yearly', 'candle=7.50', 'candle=', 'can dle', "can\tdle", '@yearly', '2x*candle', '*candle', 'candle@a@b', '../cart', 'candle%2', '٣*candle'];

    private const WRONG_PARAMETERS = ['to=elsewhere', 'to=', 'to=pay&to=cart', 'price=1', 'payee=fern', 'from=two%20words', 'from=', 'back=https%3A%2F%2Felsewhere.example%2F', 'back=%2F%2Felsewhere.example', 'back=https%3A%2F%2Fwww.fern.example%40elsewhere.example%2F', 'back=javascript%3Aalert(1)', 'back=https%3A%2F%2Fwww.fern.example%5C.elsewhere.example', 'coupon=%00', 'coupon='];

    private Randomizer $random;

    public function __construct(int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    /** @return Link */
    public function next(): array
    {
        $items = $ready = [];
        $isRight = true;
        $toChoose = null;
        for ($i = $this->random->getInt(1, 6); $i > 0; $i--) {
            if ($this->happens(12)) {
                $items[] = $this->oneOf(self::WRONG_ITEMS);
                $isRight = false;

                continue;
            }
            [$sku, $quantity] = [(string) $this->oneOf(array_keys(self::GOODS)), $this->random->getInt(1, 9)];
            $items[] = ($quantity === 1 && $this->happens(50) ? '' : "{$quantity}*").$sku;
            if (self::GOODS[$sku]) {
                $ready[$sku] = ($ready[$sku] ?? 0) + $quantity;
            } else {
                $toChoose ??= $sku;
            }
        }
        [$query, $to, $isRightQuery] = $this->query();
        $link = $this->encoded(implode(',', $items)).($query === '' ? '' : "?{$query}");
        if (! $isRight || ! $isRightQuery) {
            return ['link' => $link, 'lines' => null, 'place' => 'nowhere'];
        }

        return ['link' => $link, 'lines' => $to === 'choose' ? [] : $ready, 'place' => match (true) {
            $to === 'choose', $toChoose !== null => '/p/',
            $to === 'pay' => '/checkout/',
            $to === 'stay' => str_contains($query, 'back=') ? 'https://'.self::HOST.'/' : '/?after=added',
            default => '/cart',
        }];
    }

    /** @return array{string, string, bool} query, destination, and whether it is right */
    private function query(): array
    {
        $to = $this->oneOf(['pay', 'cart', 'choose', 'stay', '']);
        $pairs = array_filter([
            $to === '' ? '' : "to={$to}",
            $this->happens(20) ? 'coupon=MAY' : '',
            $this->happens(20) ? 'back=https%3A%2F%2F'.self::HOST.'%2Fpost' : '',
            $this->happens(20) ? 'from=spring-card' : '',
        ], static fn (string $pair): bool => $pair !== '');
        $isWrong = $this->happens(12);
        if ($isWrong) {
            $pairs[] = $this->oneOf(self::WRONG_PARAMETERS);
        }

        return [implode('&', $this->random->shuffleArray($pairs)), $to, ! $isWrong];
    }

    /** As a browser sends it, or as a mail program does, which encodes the separators too. */
    private function encoded(string $items): string
    {
        $encoded = rawurlencode($items);

        return $this->happens(30) ? $encoded : strtr($encoded, ['%2A' => '*', '%2C' => ',', '%2B' => '+', '%40' => '@', '%3D' => '=']);
    }

    /**
     * @template T
     *
     * @param  non-empty-list<T>  $choices
     * @return T
     */
    private function oneOf(array $choices): mixed
    {
        return $choices[$this->random->getInt(0, count($choices) - 1)];
    }

    private function happens(int $percent): bool
    {
        return $this->random->getInt(1, 100) <= $percent;
    }
}
