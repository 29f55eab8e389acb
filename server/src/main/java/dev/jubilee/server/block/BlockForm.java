package dev.jubilee.server.block;

import dev.jubilee.server.block.stored.BlockV1;
import dev.jubilee.server.block.stored.WarmUpsV1;
import java.util.List;
import org.mapstruct.Mapper;
import org.mapstruct.ReportingPolicy;
import org.mapstruct.factory.Mappers;

/** A block as laid out and its warm-ups as shown, and both as stored. */
@Mapper(unmappedTargetPolicy = ReportingPolicy.ERROR)
interface BlockForm {
  BlockForm INSTANCE = Mappers.getMapper(BlockForm.class);

  BlockV1 stored(BlockDefinition definition);

  BlockDefinition laidOut(BlockV1 stored);

  List<WarmUpsV1.WarmUpV1> stored(List<BlockView.WarmUpView> shown);

  List<BlockView.WarmUpView> shown(List<WarmUpsV1.WarmUpV1> stored);
}
