<?php

declare(strict_types=1);

namespace App\Http\Console\Shop;

use App\Database\InTransaction;
use App\Http\Console\Shared\Answer;
use App\Http\Input;
use App\Messages\WriteMessage;
use App\Models\MessageKind;
use App\Models\Person;
use App\Models\Shop;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Hash;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;
use PaperKite\People\Role;
use PaperKite\Text\AccountName;
use PaperKite\Text\InvalidName;

/** Whom the shop’s money goes to: asked for with the password, and told to every owner. */
final readonly class PayeeController
{
    #[OA\Put(path: '/shops/{shop}/payee', operationId: 'changePayee', summary: 'Change whom payments go to', parameters: [new OA\Parameter(ref: '#/components/parameters/shop')])]
    #[OA\RequestBody(content: new OA\JsonContent(required: ['payee'], properties: [new OA\Property(property: 'payee', type: 'string'), new OA\Property(property: 'password', description: 'Of whoever changes it; the first one needs none.', type: 'string')]))]
    #[Answer(ShopResource::class)]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function __invoke(Request $request, Shop $shop, WriteMessage $write, InTransaction $inTransaction, TellShop $tell): JsonResponse
    {
        $person = $request->user();
        // The first one takes nothing away from anybody.
        $isFirst = $shop->payee === null;
        if (! $person instanceof Person || (! $isFirst && ! Hash::check(Input::text($request, 'password'), $person->password))) {
            throw ValidationException::withMessages(['password' => 'This is not your password; nothing was changed.']);
        }
        try {
            $payee = AccountName::of(Input::text($request, 'payee'))->text;
        } catch (InvalidName $invalid) {
            throw ValidationException::withMessages(['payee' => $invalid->getMessage()]);
        }
        $inTransaction(function () use ($shop, $payee, $person, $write, $isFirst): void {
            $changed = Shop::query()->whereKey($shop->id)->when($isFirst, static fn (Builder $unpaid) => $unpaid->whereNull('payee'))->update(['payee' => $payee]);
            if ($changed === 0 && $isFirst) {
                throw ValidationException::withMessages(['password' => 'Somebody has set the payee meanwhile; type your password to change it.']);
            }
            foreach ($shop->people()->wherePivot('role', Role::Owner->value)->get() as $member) {
                $write->note($shop, MessageKind::PayeeChanged, $member->email, "The payee of {$shop->name} was changed", "{$person->name} has changed the account that {$shop->name} is paid to. It is “{$payee}” now.\n\nIf that is not right, change it back and choose new passwords.");
            }
        });

        return response()->json($tell($shop->refresh()));
    }
}
