package dev.jubilee.server.people;

import dev.jubilee.server.problem.Limits;
import dev.jubilee.server.signin.Emails;
import jakarta.validation.constraints.Email;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;

/** Someone who joins, as they enter themselves. */
record NewCoach(
    @NotBlank(message = Limits.NAME_ACCEPTED)
        @Size(min = 1, max = Limits.NAME, message = Limits.NAME_ACCEPTED)
        String name,
    @NotBlank(message = Emails.ACCEPTED)
        @Email(message = Emails.ACCEPTED)
        @Size(max = Limits.CREDENTIAL, message = Emails.ACCEPTED)
        String email,
    @NotNull @Size(max = Limits.CREDENTIAL, message = Limits.CREDENTIAL_ACCEPTED)
        String password) {}
