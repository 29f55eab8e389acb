package dev.jubilee.server.athlete;

import dev.jubilee.server.athlete.stored.AthleteV1;
import org.mapstruct.Mapper;
import org.mapstruct.Mapping;
import org.mapstruct.ReportingPolicy;
import org.mapstruct.factory.Mappers;

/** An athlete as entered, and as stored. */
@Mapper(unmappedTargetPolicy = ReportingPolicy.ERROR)
interface AthleteForm {
  AthleteForm INSTANCE = Mappers.getMapper(AthleteForm.class);

  AthleteV1 stored(AthleteProfile profile);

  // A copy with something else, which looks like a setter.
  @Mapping(target = "with", ignore = true)
  AthleteProfile entered(AthleteV1 stored);
}
