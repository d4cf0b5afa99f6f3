<?php

declare(strict_types=1);

namespace App\Http\Shopper\Offers;

use App\Carts\TooManyCarts;
use App\Http\Shopper\OutAnswer;
use App\Http\Shopper\ReadCaller;
use App\Http\Shopper\RequestHeaders;
use App\Http\Shopper\Visitor;
use App\Models\Product;
use App\Models\Shop;
use App\OpenLinks\FindOpenLinkGoods;
use App\OpenLinks\FollowOpenLink;
use App\OpenLinks\OpenLinkGoods;
use App\Shopfront\FindGoods;
use App\Shopfront\ShopfrontGoods;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use PaperKite\Link\InvalidOpenLink;
use PaperKite\Link\OpenItem;
use PaperKite\Link\OpenLink;
use PaperKite\Link\Visit;
use Symfony\Component\HttpFoundation\Response as Answer;

/** A click on an open link. Every address under /take/ gets an answer that says what is so. */
final readonly class TakeController
{
    public function __construct(
        private FindOpenLinkGoods $find,
        private FollowOpenLink $follow,
        private ReadCaller $caller,
        private ShopfrontGoods $goods,
        private LinkPreview $preview,
        private FindGoods $findGoods,
    ) {}

    public function __invoke(Request $request, Shop $shop): Answer
    {
        $visit = Visit::of($request->method(), RequestHeaders::ofVisit($request));
        if ($visit === Visit::Silent) {
            return response()->noContent();
        }
        // As it came in: the framework would decode the path before it can be split.
        [$path, $query] = explode('?', $request->getRequestUri(), 2) + [1 => ''];
        try {
            $link = OpenLink::read(substr($path, strlen(OpenLink::PATH)), $query);
            $taken = ($this->find)($shop, $link);
        } catch (InvalidOpenLink $invalid) {
            $say = $shop->wording();

            return $this->page($shop, 404, $say->say('take.title'), $invalid->part === '' ? $say->refusal($invalid) : $say->say('take.part', part: $invalid->part, why: $say->refusal($invalid)));
        }
        if ($visit === Visit::Preview) {
            return $this->preview->ofProducts($shop, $this->named($shop, $link), $shop->base().$request->getRequestUri());
        }
        if ($visit === Visit::Frame) {
            return $this->frame($shop, $request->getRequestUri());
        }
        if ($taken->partner !== null) {
            return $this->out($request, $shop, $link, $taken->partner, hash('sha256', $path.'?'.$query));
        }

        return $this->stopped($shop, $taken) ?? $this->onwards($request, $shop, $link, $taken, hash('sha256', $path.'?'.$query));
    }

    /** @return Response|null why nothing of it can be sold now; `null`: it can */
    private function stopped(Shop $shop, OpenLinkGoods $taken): ?Response
    {
        if (! $shop->isReady()) {
            return $this->page($shop, 200, $shop->wording()->say('notice.not_open'), $shop->wording()->say('notice.not_open_what', shop: $shop->name));
        }
        if ($taken->soldOut === []) {
            return null;
        }
        $names = implode(', ', array_map(static fn (OpenItem $item): string => "“{$item->text()}”", $taken->soldOut));

        return $this->page($shop, 200, $shop->wording()->say('take.sold_out'), $shop->wording()->say('take.sold_out_what', names: $names));
    }

    /** @return Collection<int, Product> */
    private function named(Shop $shop, OpenLink $link): Collection
    {
        $goods = $this->findGoods->bySkus($shop, array_map(static fn (OpenItem $item): string => $item->sku, $link->items));

        return (new Collection(array_values(array_map(static fn (OpenItem $item): Product => $goods[$item->sku]->product, $link->items))))->unique('id')->values();
    }

    private function out(Request $request, Shop $shop, OpenLink $link, Product $product, string $digest): Answer
    {
        $address = $this->follow->out($shop, $link, $product, $digest, Visitor::of($request)->owner(), ($this->caller)($request));
        $say = $shop->wording();

        return $address === null
            ? $this->page($shop, 200, $say->say('notice.nowhere'), $say->say('notice.nowhere_what', name: $product->name))
            : new OutAnswer($address, $shop);
    }

    /** @param  string  $address  SHA-256 of the link, by which the same click is known again */
    private function onwards(Request $request, Shop $shop, OpenLink $link, OpenLinkGoods $taken, string $address): Answer
    {
        $visitor = Visitor::of($request);
        try {
            $way = ($this->follow)($shop, $link, $taken, $address, $visitor->owner(), ($this->caller)($request));
        } catch (TooManyCarts) {
            return $this->page($shop, 200, $shop->wording()->say('notice.moment'), $shop->wording()->say('notice.moment_what'));
        }
        $answer = new RedirectResponse($way->address, Answer::HTTP_SEE_OTHER);
        if ($way->hasCart) {
            $answer->headers->setCookie($visitor->cookie());
        }

        return $answer;
    }

    private function page(Shop $shop, int $status, string $title, string $text): Response
    {
        return response()->view('shop.notice', ['shop' => $shop, 'title' => $title, 'text' => $text, 'others' => $this->goods->available($shop, 4)], $status, ['X-Robots-Tag' => 'noindex']);
    }

    /** In a frame of another page nothing is added: one button opens the link in the whole window. */
    private function frame(Shop $shop, string $link): Response
    {
        return response()->view('shop.frame', ['shop' => $shop, 'caption' => $shop->wording()->say('take.go_on', shop: $shop->name), 'link' => $link], 200, [
            'X-Robots-Tag' => 'noindex',
            'Content-Security-Policy' => "default-src 'none'; style-src 'self'; font-src 'self'; base-uri 'none'; form-action 'none'",
        ]);
    }
}
