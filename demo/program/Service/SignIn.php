<?php

declare(strict_types=1);

namespace RapidReel\Demo\Service;

/** OAuth 2 of the stand-in: a code with PKCE (RFC 6749, RFC 7636), tokens that renew once, and are withdrawn. */
final readonly class SignIn
{
    public const CLIENT = 'rapid-reel';

    private const CODE_SECONDS = 120;

    private const TOKEN_SECONDS = 600;

    public function __construct(private Store $store)
    {
    }

    /** @param  array<string, string>  $query */
    public function page(array $query): Answer
    {
        $problem = self::problem($query);
        if ($problem !== '') {
            return new Answer(400, Pages::plain('That cannot be', $problem), Pages::HTML);
        }
        $fields = '';
        foreach (['redirect_uri', 'state', 'code_challenge', 'client_id', 'response_type',
            'code_challenge_method'] as $name) {
            $fields .= sprintf(
                '<input type="hidden" name="%s" value="%s">', $name, htmlspecialchars($query[$name] ?? ''),
            );
        }

        return new Answer(200, Pages::plain(
            'Let Rapid Reel post for you?',
            'It asks to post shorts in the name of <b>Lamplight Log</b>, and to read how often they are watched.',
            "<form method=\"post\" action=\"/authorize\">$fields<button name=\"allow\" value=\"yes\">Allow</button> "
                .'<button name="allow" value="no">Refuse</button></form>',
        ), Pages::HTML);
    }

    /** @param  array<string, string>  $form */
    public function decided(array $form): Answer
    {
        $problem = self::problem($form);
        if ($problem !== '') {
            return new Answer(400, Pages::plain('That cannot be', $problem), Pages::HTML);
        }
        $back = $form['redirect_uri'];
        $with = ['state' => $form['state'] ?? ''];
        if (($form['allow'] ?? '') !== 'yes') {
            $with['error'] = 'access_denied';
        } else {
            $with['code'] = bin2hex(random_bytes(16));
            $this->store->run('INSERT INTO codes VALUES (?, ?, ?, ?)', [
                $with['code'], $form['code_challenge'], $back, time(),
            ]);
        }

        return new Answer(302, '', ['Location' => $back.(str_contains($back,
            '?') ? '&' : '?').http_build_query($with)]);
    }

    /** @param  array<string, string>  $form */
    public function token(array $form): Answer
    {
        if (($form['grant_type'] ?? '') === 'authorization_code') {
            $code = $this->store->one('SELECT * FROM codes WHERE code = ?', [$form['code'] ?? '']);
            // Good for one try, whatever comes of it.
            $taken = $this->store->run('DELETE FROM codes WHERE code = ?', [$form['code'] ?? '']);
            $challenge = rtrim(strtr(base64_encode(hash('sha256', $form['code_verifier'] ?? '', true)), '+/', '-_'),
                '=');

            return $code === null || $taken === 0 || time() - (int) $code['made'] > self::CODE_SECONDS
                || ! hash_equals((string) $code['challenge'],
                    $challenge) || $code['back'] !== ($form['redirect_uri'] ?? '')
                    ? Answer::json(400, ['error' => 'invalid_grant'])
                    : $this->given(bin2hex(random_bytes(8)));
        }
        $old = $this->store->one("SELECT * FROM tokens WHERE token = ? AND kind = 'refresh'", [
            $form['refresh_token'] ?? '',
        ]);
        $taken = $this->store->run("DELETE FROM tokens WHERE token = ? AND kind = 'refresh'", [
            $form['refresh_token'] ?? '',
        ]);

        return $old === null || $taken === 0
            ? Answer::json(400, ['error' => 'invalid_grant'])
            : $this->given((string) $old['family']);
    }

    /** @param  array<string, string>  $form */
    public function revoke(array $form): Answer
    {
        $this->store->run('DELETE FROM tokens WHERE family IN (SELECT family FROM tokens WHERE token = ?)', [
            $form['token'] ?? '',
        ]);

        return new Answer(200);
    }

    public function isIn(string $authorization): bool
    {
        $token = $this->store->one("SELECT * FROM tokens WHERE token = ? AND kind = 'access'", [
            (string) preg_replace('/^Bearer /', '', $authorization),
        ]);

        return $token !== null && (int) $token['ends'] > time();
    }

    private function given(string $family): Answer
    {
        $access = bin2hex(random_bytes(20));
        $refresh = bin2hex(random_bytes(20));
        $seconds = (int) (getenv('REEL_SERVICE_TOKEN_SECONDS') ?: self::TOKEN_SECONDS);
        $this->store->run('INSERT INTO tokens VALUES (?, ?, ?, ?), (?, ?, ?, ?)', [
            $access, 'access', $family, time() + $seconds, $refresh, 'refresh', $family, PHP_INT_MAX,
        ]);

        return Answer::json(200, [
            'token_type' => 'Bearer', 'access_token' => $access, 'refresh_token' => $refresh, 'expires_in' => $seconds,
        ]);
    }

    /** @param  array<string, string>  $query */
    private static function problem(array $query): string
    {
        $challenge = $query['code_challenge'] ?? '';

        return match (true) {
            ($query['client_id'] ?? '') !== self::CLIENT => 'Nobody is known by this client_id.',
            ($query['response_type'] ?? '') !== 'code' => 'Only response_type=code is known.',
            ($query['code_challenge_method'] ?? '') !== 'S256', $challenge === '' => 'A challenge by S256 is needed.',
            preg_match('#^https?://(?:127\.0\.0\.1|localhost|\[::1\])(?::\d+)?/#',
                $query['redirect_uri'] ?? '') !== 1 => 'The stand-in leads back to this machine alone.',
            default => '',
        };
    }
}
