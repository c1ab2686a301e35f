<?php

declare(strict_types=1);

namespace App\Http\Controllers\Salon;

use App\Clients\OneAlphabet;
use App\Http\Answer;
use App\Models\Staff;
use App\Salon\Done;
use App\Salon\HouseLog;
use App\Salon\SignIns;
use App\Salon\StaffBook;
use App\Salon\StaffNotKept;
use HoundCheck\Core\Marks\Role;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** Who may sign in; and one's own password. */
final readonly class StaffController
{
    public function __construct(private StaffBook $book) {}

    public function index(): Answer
    {
        return new Answer(['staff' => Staff::here()->orderByDesc('active')->orderBy('name')->get()->map(self::row(...))->all()]);
    }

    public function store(Request $request): Answer
    {
        $told = $request->validate([
            'name' => ['required', 'string', new OneAlphabet],
            'role' => ['required', Rule::enum(Role::class)],
            'password' => ['required', 'string', 'max:200'],
        ]);

        $add = fn(): Staff => $this->book->add($told['name'], Role::from($told['role']), $told['password']);

        $staff = $this->kept($add);
        HouseLog::note(Done::PersonAdded, $request->user(), ['name' => $staff->name, 'role' => $staff->role->value]);

        return new Answer(self::row($staff), 201);
    }

    public function update(Request $request, Staff $staff): Answer
    {
        $told = $request->validate([
            'name' => ['sometimes', 'required', 'string', new OneAlphabet],
            'role' => ['sometimes', 'required', Rule::enum(Role::class)],
            'active' => ['sometimes', 'required', 'boolean:strict'],
            'password' => ['sometimes', 'required', 'string', 'max:200'],
        ]);

        $role = isset($told['role']) ? Role::from($told['role']) : null;
        $change = fn(): Staff => $this->book->change($staff, $told['name'] ?? null, $role, $told['active'] ?? null, $told['password'] ?? null);

        $before = clone $staff;
        $staff = $this->kept($change);
        $now = ['name' => $staff->name, 'role' => $staff->role->value];
        if ([$before->name, $before->role] !== [$staff->name, $staff->role]) {
            HouseLog::note(Done::PersonChanged, $request->user(), ['before' => $before->name, ...$now]);
        }
        if ($before->active !== $staff->active) {
            HouseLog::note($staff->active ? Done::AccessGiven : Done::AccessEnded, $request->user(), $now);
        }
        if (isset($told['password'])) {
            HouseLog::note(Done::PasswordReset, $request->user(), ['name' => $staff->name]);
        }

        return new Answer(self::row($staff));
    }

    /** One's own: it ends every session of one's, this one too. */
    public function password(Request $request): Response
    {
        $told = $request->validate(['current' => ['required', 'string', 'max:200'], 'password' => ['required', 'string', 'max:200']]);
        $staff = $request->user();
        $this->kept(function () use ($staff, $told): Staff {
            $this->book->ownPassword($staff, $told['current'], $told['password']);

            return $staff;
        });
        HouseLog::note(Done::OwnPassword, $staff);
        Auth::logout();
        SignIns::endHere($request->session());

        return response()->noContent();
    }

    /**
     * @param \Closure(): Staff $keep
     *
     * @throws ValidationException
     */
    private function kept(\Closure $keep): Staff
    {
        try {
            return $keep();
        } catch (StaffNotKept $not) {
            throw ValidationException::withMessages([$not->problem->field() => [$not->getMessage()]]);
        }
    }

    /** @return array<string, mixed> */
    private static function row(Staff $staff): array
    {
        return ['id' => $staff->id, 'name' => $staff->name, 'role' => $staff->role->value, 'active' => $staff->active];
    }
}
