<?php

declare(strict_types=1);

namespace App\Http\Shopper\Account;

use App\Http\AfterAnswer;
use App\Http\Input;
use App\Http\Shopper\ReadCaller;
use App\Http\Shopper\Visitor;
use App\Models\Order;
use App\Models\Shop;
use App\Shoppers\SendLink;
use App\Shoppers\ShopperSession;
use App\Shoppers\UseLink;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use PaperKite\Text\EmailAddress;
use PaperKite\Text\InvalidAddress;
use Symfony\Component\HttpFoundation\Response as Answer;

/** A returning shopper: signed in by a link that was mailed, never by a password. */
final readonly class AccountController
{
    private const PER_PAGE = 20;

    public function __construct(
        private SendLink $send,
        private UseLink $use,
        private ShopperSession $session,
        private ReadCaller $caller,
    ) {}

    public function show(Request $request, Shop $shop): Response
    {
        $key = $this->session->emailKey($shop, Visitor::of($request)->owner());
        $orders = $key === null ? null : Order::query()->where(['shop_id' => $shop->id, 'email_key' => $key])->orderByDesc('id')->simplePaginate(self::PER_PAGE);

        return $orders === null
            ? response()->view('shop.sign-in', ['shop' => $shop, 'typed' => '', 'error' => null, 'isSent' => $request->query('after') === 'sent'])
            : response()->view('shop.account', ['shop' => $shop, 'email' => $orders[0]->email ?? $key, 'orders' => $orders]);
    }

    public function ask(Request $request, Shop $shop): Answer
    {
        $typed = Input::text($request, 'email');
        try {
            $address = EmailAddress::of($typed);
        } catch (InvalidAddress $invalid) {
            return response()->view('shop.sign-in', ['shop' => $shop, 'typed' => mb_scrub($typed, 'UTF-8'), 'error' => $shop->wording()->refusal($invalid), 'isSent' => false], 422);
        }
        // Once the answer is sent: how long it takes tells nobody who shops here.
        AfterAnswer::do(fn () => $this->send->toSignIn($shop, $address->key, ($this->caller)($request)));

        return new RedirectResponse('/account?after=sent', Answer::HTTP_SEE_OTHER);
    }

    /** Opening a mailed address does nothing yet: mail programs open it too. */
    public function link(Shop $shop, string $token): Response
    {
        return $this->use->usable($shop, $token) === null ? $this->spent($shop) : response()->view('shop.link', ['shop' => $shop, 'token' => $token]);
    }

    public function use(Request $request, Shop $shop, string $token): Answer
    {
        $visitor = Visitor::unknown();
        $path = ($this->use)($shop, Visitor::of($request)->owner(), $visitor->owner(), $token);
        if ($path === null) {
            return $this->spent($shop);
        }
        $answer = new RedirectResponse($path, Answer::HTTP_SEE_OTHER);
        $answer->headers->setCookie($visitor->cookie());

        return $answer;
    }

    public function signOut(Request $request, Shop $shop): RedirectResponse
    {
        $this->session->end($shop, Visitor::of($request)->owner());

        return new RedirectResponse('/account', Answer::HTTP_SEE_OTHER);
    }

    private function spent(Shop $shop): Response
    {
        return response()->view('shop.notice', ['shop' => $shop, 'title' => $shop->wording()->say('notice.spent'), 'text' => $shop->wording()->say('notice.spent_what'), 'link' => '/account', 'linkText' => $shop->wording()->say('notice.new_link'), 'others' => []], 410);
    }
}
