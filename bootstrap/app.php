<?php

declare(strict_types=1);

use App\Editing\Outdated;
use App\Http\Middleware\KeepToItself;
use App\Http\Middleware\TellsRevision;
use App\Http\NoRoomAnswer;
use App\Work\DiskRoom;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Exceptions\PostTooLargeException;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Request;
use RapidReel\Base\Refusal;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(web: __DIR__.'/../routes/web.php', commands: __DIR__.'/../routes/console.php')
    ->withCommands([__DIR__.'/../app/Console'])
    ->withMiddleware(function (Middleware $middleware): void {
        // There is no cross-origin API; see compat/README.md.
        $middleware->remove(HandleCors::class);
        $middleware->append(KeepToItself::class);
        $middleware->appendToGroup('web', TellsRevision::class);
        $middleware->redirectGuestsTo('/sign-in');
        $middleware->redirectUsersTo('/');
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->dontReport(Refusal::class);
        $exceptions->render(function (Refusal $problem, Request $request) {
            return $request->expectsJson()
                ? response()->json(['message' => $problem->getMessage()], $problem instanceof Outdated ? 409 : 422)
                : back()->withInput()->with('problem', $problem->getMessage());
        });
        $exceptions->render(fn (Throwable $problem, Request $request) => DiskRoom::isNamed($problem)
            ? NoRoomAnswer::to($request)
            : null);
        $exceptions->render(function (PostTooLargeException $problem, Request $request) {
            $message = 'That is more than can be uploaded at once. Upload fewer or smaller files.';

            return $request->expectsJson()
                ? response()->json(['message' => $message], 413)
                : back()->with('problem', $message);
        });
    })
    ->create();
